/** What is wrong with the licences of what ships, in words; nothing when all is well. `bundled` are the packages that went into a bundle, by their paths. */
export function licenceComplaints(options?: { readonly write?: boolean; readonly bundled?: readonly string[] }): string[];
