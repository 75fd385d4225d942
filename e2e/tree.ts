import { type CDPSession, expect, type Page } from '@playwright/test';

interface Node {
  role: string;
  name: string;
  backendNodeId: number;
  disabled: boolean;
}

/** The app as a screen reader has it: what it offers by role and name, and nothing else of the page. */
export class Tree {
  private constructor(
    private readonly page: Page,
    private readonly cdp: CDPSession,
  ) {}

  static async of(page: Page): Promise<Tree> {
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('Accessibility.enable');
    return new Tree(page, cdp);
  }

  private async nodes(): Promise<Node[]> {
    const { nodes } = await this.cdp.send('Accessibility.getFullAXTree');
    return nodes.flatMap(({ ignored, role, name, backendDOMNodeId, properties }) =>
      ignored || backendDOMNodeId === undefined
        ? []
        : [
            {
              role: String(role?.value ?? ''),
              name: String(name?.value ?? ''),
              backendNodeId: backendDOMNodeId,
              disabled:
                properties?.some((one) => one.name === 'disabled' && one.value.value === true) ?? false,
            },
          ],
    );
  }

  /** Whether there is one of that role and name now. */
  async has(role: string, name: RegExp): Promise<boolean> {
    return (await this.nodes()).some((one) => one.role === role && name.test(one.name));
  }

  /** The first of that role and name, once it is there and can be used. */
  private async find(role: string, name: RegExp): Promise<Node> {
    let found: Node | undefined;
    await expect
      .poll(
        async () => {
          found = (await this.nodes()).find(
            (one) => one.role === role && name.test(one.name) && !one.disabled,
          );
          return found !== undefined;
        },
        { message: `a ${role} named ${name}` },
      )
      .toBe(true);
    return found as Node;
  }

  /** Waits until something of that role has that name, and says the name. */
  async hears(role: string, name: RegExp): Promise<string> {
    return (await this.find(role, name)).name;
  }

  private async focus(role: string, name: RegExp): Promise<void> {
    const { backendNodeId } = await this.find(role, name);
    await this.cdp.send('DOM.focus', { backendNodeId });
  }

  /** Goes to it and presses it, as a reader's user does. */
  async press(role: 'button' | 'radio' | 'link', name: RegExp): Promise<void> {
    await this.focus(role, name);
    await this.page.keyboard.press(role === 'radio' ? 'Space' : 'Enter');
  }

  async type(name: RegExp, text: string): Promise<void> {
    await this.focus('textbox', name);
    await this.page.keyboard.press('Control+a');
    await this.page.keyboard.insertText(text);
  }
}
