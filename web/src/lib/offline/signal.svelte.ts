/** Whether the farm's server answers, and how old what is shown may be. */
class Signal {
	lost = $state(false);
	/** When the oldest of what is shown was heard, by the phone's clock; 0 while everything is fresh. */
	asOf = $state(0);

	heard() {
		this.lost = false;
		this.asOf = 0;
	}
	lose(askedAt = 0) {
		this.lost = true;
		if (askedAt && (!this.asOf || askedAt < this.asOf)) this.asOf = askedAt;
	}
}

export const signal = new Signal();
