import type { Layout } from './layout.ts';

export const es: Layout = {
  language: 'es',
  markers:
    'mensaje reenviado|inicio del mensaje reenviado|correo reenviado|inicio del correo reenviado|reenviado por|mensaje remitido|inicio mensaje reenviado|forwarded message',
  originals: 'mensaje original|correo original',
  headers: {
    from: 'de|remitente|desde',
    sent: 'enviado|fecha|enviado el|enviado a las',
    to: 'para|a|destinatario',
    subject: 'asunto',
    other: 'cc|cco|con copia|copia|responder a|importancia|datos adjuntos|prioridad|adjuntos|categorías',
  },
  wrote: 'escribió|ha escrito|escribio',
  introBegins: 'el|en',
  replyPrefixes: 're|rta',
  forwardPrefixes: 'rv|fwd|reenv|re-env',
};
