import { Camera, FileVideo } from 'lucide-react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '../Button';

/** Where the picture comes from. */
export function VideoSources({
  onCamera,
  onFile,
}: {
  readonly onCamera: () => void;
  readonly onFile: (file: File) => void;
}) {
  return (
    <>
      <Button onPress={onCamera}>
        <Camera size={17} aria-hidden /> Watch by camera
      </Button>
      <FileTrigger
        acceptedFileTypes={['video/*']}
        onSelect={(files) => {
          const file = files?.[0];
          if (file) onFile(file);
        }}
      >
        <Button>
          <FileVideo size={17} aria-hidden /> Open a video
        </Button>
      </FileTrigger>
    </>
  );
}
