/** The links that words stand in, one within another: elements of their own, and fields whose code says so. */
export interface OpenLinks {
  /** A link, or a field, begins; `address`: where it leads, if that is known. */
  begin(address?: string): void;
  /** More of the code of the field at hand. */
  code(text: string): void;
  /** The code is whole, and the words that it stands for follow. */
  show(): void;
  end(): void;
  /** Where the words at hand lead. */
  address(): string | undefined;
}

export function openLinks(): OpenLinks {
  const open: { code: string; address: string | undefined }[] = [];
  const address = () => open.at(-1)?.address;
  return {
    begin: (leadsTo) => open.push({ code: '', address: leadsTo ?? address() }),
    code: (text) => {
      const field = open.at(-1);
      if (field) field.code += text;
    },
    show: () => {
      const field = open.at(-1);
      if (field) field.address = addressIn(field.code) ?? field.address;
    },
    end: () => open.pop(),
    address,
  };
}

/** The address in the code of a field that links to another document. A link to a place in this one begins with a switch (\\l). */
function addressIn(code: string): string | undefined {
  return /^\s*HYPERLINK\s+"([^"]+)"/i.exec(code)?.[1];
}
