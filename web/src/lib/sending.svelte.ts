import type { Answers } from './answers';
import { ask, type Failure, type Request } from './client';

/** One form’s way to the server: on its way, taken, or not and why. What was typed stays where it is. */
export class Sending {
	pending = $state(false);
	/** Why the last one wasn’t taken; null when it was, or while one is on its way. */
	failure = $state.raw<Failure | null>(null);

	/** Sends, and gives the answer; null when it wasn’t taken, which `failure` then says. */
	async send<Name extends keyof Answers>(
		address: string,
		name: Name,
		request: Request
	): Promise<Answers[Name] | null> {
		this.pending = true;
		this.failure = null;
		const reply = await ask(address, name, request);
		this.pending = false;
		if (reply.ok) return reply.answer;
		this.failure = reply.failure;
		return null;
	}
}
