import { Button } from './Button';
import { download } from './download';

interface SaveEntriesProps {
  /** Of the file, behind "entries-". */
  readonly name: string;
  readonly content: object;
  /** Whose they are, where several buttons stand below each other. */
  readonly label?: string;
}

/** Entries that are not stored, as a file that a person can read, and send on. */
export function SaveEntries({ name, content, label = 'Save as a file' }: SaveEntriesProps) {
  const save = () => {
    const text = JSON.stringify(content, null, 2);
    download(new Blob([text], { type: 'application/json' }), `entries-${name}.json`);
  };
  return (
    <Button onPress={save} aria-label={label}>
      Save as a file
    </Button>
  );
}
