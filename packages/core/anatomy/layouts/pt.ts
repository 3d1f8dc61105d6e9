import type { Layout } from './layout.ts';

export const pt: Layout = {
  language: 'pt',
  markers:
    'mensagem encaminhada|mensagem reencaminhada|início da mensagem encaminhada|início da mensagem reencaminhada|e-mail encaminhado|encaminhado por|início de mensagem reencaminhada|email encaminhado|forwarded message|reencaminhado por',
  originals: 'mensagem original|email original|e-mail original',
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
