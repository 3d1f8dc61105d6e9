export { decode, TEXT_LIMIT } from './decode.ts';
export { AttachedMessage, Attachment, CalendarEvent, header, Mailbox, Message } from './message.ts';
