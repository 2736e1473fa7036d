import { useEffect, useState } from 'react';

/** An address of the browser's own, made for a file and given back with it; empty until there is one. */
export function useFileAddress(file: File | undefined): string {
  const [address, setAddress] = useState('');
  useEffect(() => {
    const made = file ? URL.createObjectURL(file) : '';
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  return address;
}
