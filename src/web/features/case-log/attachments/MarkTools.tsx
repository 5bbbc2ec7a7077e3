import { Circle, MoveUpRight, Type, Undo2 } from 'lucide-react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { MOST_MARKS, MOST_MARK_TEXT } from '../../../../core/attachments';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { TickLine } from '../../../components/TickLine';
import type { Tool } from './draw-mark';
import type { PictureDraft } from './use-viewer';

const Tools = styled(ToggleButtonGroup)`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0.35rem;
`;
const ToolButton = styled(ToggleButton)`
  display: grid;
  justify-items: center;
  min-height: 52px;
  padding: 0.35rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  background: ${({ theme }) => theme.panel};
  font-size: 0.9rem;
  cursor: pointer;
  &[data-selected] {
    background: ${({ theme }) => theme.strong};
    color: ${({ theme }) => theme.onStrong};
  }
`;
/** What is said beside a picture. */
export const Facts = styled.p`
  font-size: 0.88rem;
  color: ${({ theme }) => theme.muted};
  overflow-wrap: anywhere;
`;

const tools = [
  { id: 'arrow', label: 'Arrow', Icon: MoveUpRight },
  { id: 'circle', label: 'Circle', Icon: Circle },
  { id: 'text', label: 'Text', Icon: Type },
] as const;
const hints = { arrow: 'Drag to where it should point.', circle: 'Drag from its middle outwards.' } as const;

interface MarkToolsProps {
  readonly tool: Tool | null;
  /** What the text tool writes. */
  readonly text: string;
  readonly draft: PictureDraft;
  readonly onTool: (tool: Tool | null) => void;
  readonly onText: (text: string) => void;
  readonly onChange: (part: Partial<PictureDraft>) => void;
}

/** What a picture shows in words, what is drawn on it, and whether it shows the owner's things. */
export function MarkTools({ tool, text, draft, onTool, onText, onChange }: MarkToolsProps) {
  const { marks, name, showsOwner } = draft;
  return (
    <>
      <Field
        label="What it shows"
        value={name}
        onChange={(words) => onChange({ name: words })}
        maxLength={120}
        rows={2}
      />
      <Tools
        aria-label="Draw"
        selectionMode="single"
        selectedKeys={tool ? [tool] : []}
        onSelectionChange={(keys) => onTool(([...keys][0] as Tool | undefined) ?? null)}
      >
        {tools.map(({ id, label, Icon }) => (
          <ToolButton key={id} id={id}>
            <Icon size={20} aria-hidden /> {label}
          </ToolButton>
        ))}
      </Tools>
      {tool === 'text' && (
        <Field
          label="Words, then press where they belong"
          value={text}
          onChange={onText}
          maxLength={MOST_MARK_TEXT}
          autoFocus
        />
      )}
      {tool !== null && tool !== 'text' && <Facts>{hints[tool]}</Facts>}
      {marks.length >= MOST_MARKS && <Facts>No room for more marks.</Facts>}
      <Button isDisabled={marks.length === 0} onPress={() => onChange({ marks: marks.slice(0, -1) })}>
        <Undo2 size={18} aria-hidden /> Take back the last mark
      </Button>
      <TickLine
        label="Shows the owner’s own things"
        isTicked={showsOwner}
        onChange={(isShown) => onChange({ showsOwner: isShown })}
      />
      <Facts>Those are erased with the owner’s data, and no supplier gets them.</Facts>
    </>
  );
}
