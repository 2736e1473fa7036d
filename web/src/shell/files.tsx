import { useRef, type ReactNode } from 'react';

/** Choosing files: what opens the choice, and the field to be put somewhere, which nobody sees. The same file can be chosen again. */
export function useFiles(label: string, accept: string, onFiles: (files: File[]) => void, multiple = false): [choose: () => void, field: ReactNode] {
  const field = useRef<HTMLInputElement>(null);
  return [
    () => field.current?.click(),
    <input
      key="files"
      ref={field}
      type="file"
      accept={accept}
      multiple={multiple}
      hidden
      aria-label={label}
      onChange={(e) => {
        const files = [...(e.target.files ?? [])];
        e.target.value = '';
        if (files.length > 0) onFiles(files);
      }}
    />,
  ];
}
