import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'you would need to|you’d need to|you would have to|you’d have to|you are to|you’re to',
  'see if you can|try to|do try to|perhaps you could|maybe you could|perhaps you can|maybe you can',
  'would you be so kind as to|would you be kind enough to|would you be a dear and|would you be a star and|would you be good enough to|be a dear and|be an angel and|be a star and|we ask … to|we are asking … to|i’m asking … to|i am asking … to|we’d ask … to',
  combine(
    'it would be|it’d be|would be',
    '…',
    'if you|if you all',
    'could|can|would|were able to|might|could please|managed to|were to',
  ),
  'we recommend that you|you are advised to|we advise you to|you’re advised to|we suggest you|we suggest that you',
  'it would be good to|it is important to|it is essential to|it would be useful to|it’s time to|it is time to|it’s important to|it would be best to',
  combine(
    'may|might|can|could|must',
    'i|we',
    'ask you to|ask that you|request you to|request that you|remind you to|trouble you to|invite you to',
  ),
  'can you|are kindly requested to|are requested to|are asked to|are kindly asked to|is requested to|are invited to|can we|could we|shall we|we kindly request you to|we would ask that you|please|kindly|pls|could you please|could you|can you please|would you please|would you|will you please|will you|would you be able to|would you be so kind as to|would you mind|are you able to|might you|could i ask you to|can i ask you to|may i ask you to|i would like to ask you to|i’d like to ask you to|i am asking you to|we ask you to|we kindly ask you to|we would ask you to|i ask you to|you are asked to|you are requested to|you are kindly requested to|we request you to|we request that you|i need you to|we need you to|i want you to|we want you to|i would like you to|i’d like you to|we would like you to|we’d like you to|you need to|you must|you should|you have to|you will need to|you’ll need to|you are required to|you ought to|don’t forget to|do not forget to|remember to|please remember to|please make sure to|please be sure to|make sure to|be sure to|make sure you|it would be great if you could|it would be good if you could|it would be helpful if you could|it would help if you could|it would be nice if you could|i would appreciate it if you could|i’d appreciate it if you could|we would appreciate it if you could|we’d appreciate it if you could|i would be grateful if you could|i’d be grateful if you could|we would be grateful if you could|we’d be grateful if you could|i was wondering if you could|i wonder if you could|grateful if you could|if you could|do you think you could|any chance you could|may i ask that you|your task is to|we have to|we need to|we must|we should|let’s|we would like to ask you to|we invite you to|reminder to|a reminder to|you may want to|would it be possible to|would it be possible for you to|is it possible to|could someone|can someone|could somebody|can somebody|someone needs to|somebody needs to|someone has to|it is necessary to|want you to|expects that you|expects you to|expect you to|we expect you to|ask that you|request that you|asks you to|asks that you',
  combine(
    'could|can|would|will|might',
    'you|someone|somebody|anyone|anybody|one of you|u|you all',
    '|please|kindly|possibly|perhaps|maybe|also|just|then|quickly',
  ),
  combine(
    'would|are|will|could',
    'you',
    'be|',
    'able to|willing to|happy to|prepared to|free to|up for|kind enough to',
  ),
  combine(
    'would|could|will',
    'you',
    'consider|like to|love to|care to|want to|manage to|find time to|take a moment to',
  ),
  combine(
    'i would|i’d|we would|we’d',
    'be grateful|be glad|be pleased|be thankful|be obliged|appreciate it|be happy|love it|really appreciate it',
    'if you could|if you would|if you can|if someone could',
  ),
  combine(
    'i|i would|i’d|we|we would|we’d|they|they would',
    'ask|request|like|need|want|urge|expect|invite|remind|advise',
    'you to|that you|you kindly to',
  ),
  'fancy|how about|what about|any chance of|do me a favour and|be so kind as to|be sure you|see that you|see to it that you|i trust you will|it remains to|all you need to do is|all you have to do is|you are kindly asked to|you’re asked to|you are welcome to|you still need to|you still have to|we’re asking you to|we are asking you to|it would be lovely if you could|it’d be great if you could|it’d be good if you could|grateful if you would',
  combine(
    'have you had|did you have|do you have|have you got|would you have|had you',
    'a chance to|time to|a minute to|a moment to|the chance to|an opportunity to',
  ),
  combine('someone|somebody|one of us|one of you', 'should|must|ought to|will have to|would have to'),
  'it’s your turn to|it is your turn to|it falls to you to|it’s up to you to|it is up to you to|aim to|would it bother you to|would you be up to|i count on you to|we count on you to',
  'see to it that|make sure that|ensure that|make sure|be sure that',
  combine('please be|be', 'so good|so kind|good enough|kind enough', 'as to|to|and'),
  combine(
    'i|we',
    'was|were|am|are',
    '|just',
    'wondering',
    'if|whether',
    'you|someone',
    'could|can|might|would|might be able to|would be able to',
  ),
  combine(
    'i|we',
    'wanted to|want to|would like to|just wanted to',
    'ask|check|know|find out',
    'if|whether',
    'you|someone',
    'could|can|might|would',
  ),
  combine(
    'it is|it’s|it would be',
    '|very|really',
    'important|essential|vital|crucial|imperative|necessary|critical|urgent|helpful',
    'that you|for you to',
  ),
  combine(
    'remind|ask|want|need|expect|trust|count on|counting on|rely on|relying on|waiting for|wait for|like|allow me to ask',
    'you to',
  ),
  combine(
    'you',
    'promised|agreed|offered|undertook|were going|wanted|were supposed|are supposed|were meant|still have|still need',
    'to',
  ),
  combine(
    'we should|i should|we’d|i’d|we would|i would',
    'be glad|be grateful|be happy|be obliged|appreciate it',
    'if you',
    'would|could|can|were to',
  ),
  combine('your', 'job|task|part|turn|mission', 'is to|is now to'),
  combine('who', 'can|could|will|would|wants to|would like to|is going to|is able to'),
  'take the time to|take a moment to|take a minute to|do me a favour and|do us a favour and|do me the favour of|do us the kindness of',
  combine(
    'need|needs|looking for|look for|want|wanted',
    'someone|somebody|anyone|a volunteer',
    'to|who can|who could|who will',
  ),
  combine('only', 'if you|when you|once you', '|can|could|would'),
  combine('see|check|see to it', 'that'),
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  'still need|must have|have to have|and need',
  combine(
    'i would|i’d|we would|we’d',
    'be grateful|be glad|be pleased|be happy|be delighted|be obliged',
    'to have|to receive|to get|to see|for|of',
  ),
  combine(
    'i|we|i’d|we’d|i would|we would|i’ll|we’ll',
    '|still|really|urgently|also|now',
    'need|require|want',
  ),
  'we would appreciate|i would appreciate|we’d appreciate|i’d appreciate|still outstanding is|please find time for|we need|i need|we require|i require|we still need|i still need|we will need|we’ll need|i will need|i’ll need|we are waiting for|we are still waiting for|i am waiting for|i’m waiting for|we’re waiting for|we await|we are missing|we’re missing|we are still missing|we still lack|still missing is|we would like to have|i would like to have|we look forward to receiving|could we have|can we have|could i have|can i have|may i have|may we have|we urgently need|i urgently need|we want|waiting on|i’m after|we’re after|we are after|i could do with|we could do with|i’d like|we’d like|i would like|we would like|we’re still short of|we are still without|what we need is|what i need is|all we need is|all i need is|there is still no|what’s missing is|still missing|we lack|required is|we ask for|i ask for|we’d love|still to come|we hope to receive|please let me have|please let us have|let me have|let us have|requesting|we request|i request|kindly let us have',
  combine(
    'i’d|i would|we’d|we would',
    'love|like|appreciate|be glad of|be grateful for|be glad to have|be happy to have|be pleased to receive',
    '|to have|to get|to receive|to see',
  ),
  combine(
    'i|we|i’m|we’re',
    'look forward to|looking forward to|are looking forward to|am looking forward to',
    'receiving|getting|having',
  ),
  combine(
    'i|we|i’m|we’re',
    'count on|are counting on|hope for|expect|expecting|are expecting|am expecting',
    '|receiving|getting|having|seeing',
  ),
  combine(
    'it would help',
    'us|me',
    '|a lot|a great deal|greatly|enormously|very much',
    'to have|to get|to receive',
  ),
  combine('can|could|may', 'i|we', 'count on|rely on', '|having|getting|receiving'),
  combine('i’d|i would|we’d|we would', 'like to', 'have|get|see|receive'),
  combine('i would|we would|i’d|we’d', 'need|require', '|to have|to see'),
  'and need|and will need',
  'would need|and would need|would still need',
  combine(
    'it would be|it’d be|would be',
    'great|good|lovely|nice|helpful|perfect|ideal|wonderful',
    'to have|to get|to receive',
  ),
  combine(
    'we would|i would|we’d|i’d|we should|i should',
    'be',
    '|very|most|really|so|extremely',
    'grateful|glad|pleased|happy|thankful',
    'to have|to receive|to get|for',
  ),
].join('|');
