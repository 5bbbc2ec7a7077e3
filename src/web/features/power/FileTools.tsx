import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { powerFileOf, readPowerFile } from '../../../contracts';
import type { PowerSheet } from '../../../core/power';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { Notice } from '../../components/Notice';

interface FileToolsProps {
  readonly name: string;
  readonly sheet: PowerSheet;
  readonly onOpen: (name: string, sheet: PowerSheet) => void;
}

/** The plan into a file, and out of one: nothing is taken of a file that is wrong somewhere. */
export function FileTools({ name, sheet, onOpen }: FileToolsProps) {
  const [problems, setProblems] = useState<readonly string[]>([]);
  const open = async (file: File) => {
    const json = parsed(await file.text());
    const read = readPowerFile(json);
    if (read.ok) {
      setProblems([]);
      onOpen(read.name, read.sheet);
      return;
    }
    setProblems(
      json === undefined
        ? [`${file.name}: expected JSON, found something else.`]
        : read.problems.map(({ path, message }) => `${path.join('.') || 'the file'}: ${message}.`),
    );
  };
  const save = () => {
    const title = name.trim() || 'power plan';
    const blob = new Blob([`${JSON.stringify(powerFileOf(title, sheet), null, 2)}\n`], { type: 'application/json' });
    download(blob, `${title.replace(/[^A-Za-z0-9]+/g, '-').replace(/^-|-$/g, '') || 'power'}.power.json`);
  };
  return (
    <>
      <Button onPress={save}>Save as JSON</Button>
      <FileTrigger
        acceptedFileTypes={['.json', 'application/json']}
        onSelect={(files) => {
          const file = files?.[0];
          if (file) void open(file);
        }}
      >
        <Button>Open JSON</Button>
      </FileTrigger>
      {problems.length > 0 && (
        <Notice kind="danger">
          <ul>
            {problems.slice(0, 5).map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </Notice>
      )}
    </>
  );
}

/** Undefined where it is no JSON. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
