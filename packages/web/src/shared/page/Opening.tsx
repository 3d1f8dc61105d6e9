import { Popover, type PopoverProps } from 'antd';
import { useRef, type ReactNode } from 'react';

interface Props {
  /** What is pressed to open it. */
  trigger: ReactNode;
  children: ReactNode;
  isOpen?: boolean;
  onOpenChange?: (open: boolean) => void;
  placement?: PopoverProps['placement'];
}

/** Something small that opens beside its button, takes the focus, and gives it back. */
export function Opening({ trigger, children, isOpen, onOpenChange, placement = 'bottomLeft' }: Props) {
  const content = useRef<HTMLDivElement>(null);
  const around = useRef<HTMLSpanElement>(null);
  const afterOpenChange = (open: boolean) => {
    const isNowhere = document.activeElement === document.body || document.activeElement === null;
    if (open) content.current?.querySelector<HTMLElement>('input, button, select')?.focus();
    else if (isNowhere) around.current?.querySelector('button')?.focus();
  };
  return (
    <Popover
      trigger="click"
      destroyOnHidden
      placement={placement}
      content={<div ref={content}>{children}</div>}
      afterOpenChange={afterOpenChange}
      {...(isOpen === undefined ? {} : { open: isOpen })}
      {...(onOpenChange ? { onOpenChange } : {})}
    >
      <span ref={around}>{trigger}</span>
    </Popover>
  );
}
