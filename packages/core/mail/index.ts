export { attachedFiles, decode, TEXT_LIMIT } from './decode.ts';
export { AttachedMessage, Attachment, CalendarEvent, header, Mailbox, Message } from './message.ts';
export { dropAttachments } from './dropAttachments.ts';
