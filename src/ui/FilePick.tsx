import type { ReactNode } from 'react';
import { DropZone, FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button, type Look, TextButton } from './Button';
import { color } from './theme';
import { drawnApart } from './steady';

const Zone = styled(DropZone)`
  border: 1px dashed transparent;
  border-radius: 4px;
  &[data-drop-target] {
    border-color: ${color.water};
    background: ${color.panel};
  }
`;
/** Files from the device: chosen, dropped onto the button, or taken with the camera of a phone. */
export const FilePick = drawnApart(function FilePick({
  accept,
  multiple = false,
  camera = false,
  look = 'quiet',
  main = false,
  disabled = false,
  children,
  onFiles,
}: {
  /** Kinds of file, such as `image/*` or `.json`. */
  accept: readonly string[];
  multiple?: boolean;
  /** Opens the camera at the back of a phone. */
  camera?: boolean;
  look?: Look | 'text';
  /** It is the page's main action. */
  main?: boolean;
  disabled?: boolean;
  children: ReactNode;
  onFiles: (files: readonly File[]) => void;
}) {
  const take = (files: readonly File[]): void => {
    if (files.length > 0) onFiles(files);
  };
  const pressed = { isDisabled: disabled, ...(main ? { 'data-main-action': true } : {}) };
  const trigger = (
    <FileTrigger
      acceptedFileTypes={[...accept]}
      allowsMultiple={multiple}
      {...(camera ? { defaultCamera: 'environment' as const } : {})}
      onSelect={(list) => take([...(list ?? [])])}
    >
      {look === 'text' ? (
        <TextButton {...pressed}>{children}</TextButton>
      ) : (
        <Button look={look} {...pressed}>
          {children}
        </Button>
      )}
    </FileTrigger>
  );
  if (disabled) return trigger;
  return (
    <Zone
      aria-label="Drop files here"
      getDropOperation={() => 'copy'}
      onDrop={(event) => {
        const dropped = event.items.flatMap((item) => (item.kind === 'file' ? [item.getFile()] : []));
        void Promise.all(dropped).then((files) => take(multiple ? files : files.slice(0, 1)));
      }}
    >
      {trigger}
    </Zone>
  );
});
