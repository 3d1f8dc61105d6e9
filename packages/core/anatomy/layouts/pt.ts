import type { Layout } from './layout.ts';

export const pt: Layout = {
  language: 'pt',
  markers:
    'mensagem encaminhada|mensagem reencaminhada|início da mensagem encaminhada|início da mensagem reencaminhada|mensagem original|e-mail encaminhado|encaminhado por|email original|início de mensagem reencaminhada|e-mail original|email encaminhado|forwarded message|reencaminhado por',
  headers: {
    from: 'de|remetente',
    sent: 'enviado|enviada|data|enviado em|enviada em|enviada a',
    to: 'para|destinatário',
    subject: 'assunto',
    other: 'cc|cco|bcc|com cópia|responder a|importância|anexos|prioridade|anexo|responder para|categorias',
  },
  wrote: 'escreveu|escrevia|escreveu o seguinte',
  introBegins: 'em|a|no dia|no',
  replyPrefixes: 're|res|resp',
  forwardPrefixes: 'enc|fwd|encam|reenc',
};
