export const words = {
	photographs: 'Photographs',
	whatItShows: 'what it shows',
	whatThePhotographShows: 'What the photograph shows',
	sendAgain: 'Send again',
	evenMadeSmallerThePicture: 'Even made smaller, the picture is over 10 MB.',
	cantBeReadAsA: (name: string | number) => `“${name}” can’t be read as a picture. JPEG, PNG and WebP can.`,
	saving: 'Saving …',
	addAPhotograph: 'Add a photograph'
};
