import type { ImapSettings } from '@hatband/contract';
import { Input, InputNumber } from 'antd';
import type { ReactNode } from 'react';
import { Choose } from '../shared/forms/Choose.tsx';
import { Field } from '../shared/forms/Field.tsx';

interface Props {
  settings: ImapSettings;
  password: string;
  hasPassword: boolean;
  onChange: (settings: ImapSettings) => void;
  onPassword: (password: string) => void;
  children: ReactNode;
}

const SECURITY = [
  { value: 'tls' as const, label: 'SSL/TLS' },
  { value: 'starttls' as const, label: 'STARTTLS' },
  { value: 'none' as const, label: 'none (a server on this machine)' },
];

/** Where servers listen unless they say otherwise (RFC 8314, section 7.3). */
const USUAL_PORT = { tls: 993, starttls: 143, none: 143 } as const;

/** Where a mailbox is and who asks for it. */
export function AccountForm({ settings, password, hasPassword, onChange, onPassword, children }: Props) {
  const text = (name: string, part: 'name' | 'host' | 'user', placeholder = '') => (
    <Field name={name}>
      <Input
        aria-label={name}
        placeholder={placeholder}
        value={settings[part]}
        onChange={(e) => {
          onChange({ ...settings, [part]: e.target.value });
        }}
      />
    </Field>
  );
  return (
    <section>
      <h3>Its account (IMAP)</h3>
      {text('A name for it', 'name', 'Museum')}
      {text('Server', 'host', 'imap.saltmarsh.example')}
      <Field name="Security">
        <Choose
          aria-label="Security"
          value={settings.security}
          options={SECURITY}
          onChange={(security) => {
            const isUsual = settings.port === USUAL_PORT[settings.security];
            onChange({ ...settings, security, port: isUsual ? USUAL_PORT[security] : settings.port });
          }}
        />
      </Field>
      <Field name="Port">
        <InputNumber
          aria-label="Port"
          min={1}
          max={65_535}
          value={settings.port}
          onChange={(port) => {
            onChange({ ...settings, port: port ?? 993 });
          }}
        />
      </Field>
      {text('User', 'user')}
      <Field name="Password">
        <Input.Password
          aria-label="Password"
          autoComplete="off"
          placeholder={hasPassword ? 'kept, encrypted' : ''}
          value={password}
          onChange={(e) => {
            onPassword(e.target.value);
          }}
        />
      </Field>
      <Field name="">{children}</Field>
    </section>
  );
}
