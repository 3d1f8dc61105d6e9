/** A rule says that a person shall look at the message; the words say why. */
export class HoldForPerson extends Error {}

/** A rule cannot be worked: it names what is not there any more, or its text cannot be made. The words say why. */
export class RuleFailure extends Error {}
