import type { Layout } from './layout.ts';

export const es: Layout = {
  language: 'es',
  markers:
    'mensaje reenviado|inicio del mensaje reenviado|mensaje original|correo reenviado|inicio del correo reenviado|reenviado por|correo original|mensaje remitido|inicio mensaje reenviado|forwarded message',
  headers: {
    from: 'de|remitente|desde',
    sent: 'enviado|fecha|enviado el|enviado a las',
    to: 'para|a|destinatario',
    subject: 'asunto',
    other: 'cc|cco|con copia|copia|responder a|importancia|datos adjuntos|prioridad|adjuntos|categorías',
  },
  wrote: 'escribió|ha escrito|escribio',
  introBegins: 'el|en',
  replyPrefixes: 're|rta|rv re',
  forwardPrefixes: 'rv|fwd|reenv|re-env',
};
