import { Select, type SelectProps } from 'antd';
import { useState } from 'react';

type Choice<T> = Omit<SelectProps<T[]>, 'mode' | 'onSearch' | 'onSelect' | 'onDeselect' | 'onBlur' | 'defaultActiveFirstOption'>;

/** Chooses several. The first that is found is meant only while something is typed: who goes on with Tab leaves the choice as it is. */
export function Several<T>({ mode = 'multiple', ...choice }: Choice<T> & { mode?: 'multiple' | 'tags' }) {
  const [isTyping, setTyping] = useState(false);
  const typed = () => setTyping(false);
  return (
    <Select<T[]>
      {...choice}
      mode={mode}
      onSearch={(text) => setTyping(text !== '')}
      onSelect={typed}
      onDeselect={typed}
      onBlur={typed}
      defaultActiveFirstOption={isTyping}
    />
  );
}
