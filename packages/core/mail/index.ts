export { decode, TEXT_LIMIT } from './decode.ts';
export { Attachment, header, Mailbox, Message } from './message.ts';
