import { Dropdown as Menu, type DropdownProps } from 'antd';

/** A menu. It is gone as soon as something is chosen: one that still faded would take the Escape that is meant for the dialog it opened. */
export const Dropdown = (props: DropdownProps) => <Menu transitionName="" {...props} />;
