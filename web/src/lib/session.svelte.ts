import { api, askOrKept, useToken, type Schemas } from './api/client';

/** Who is here: read once when the page opens, and again after signing in. */
class SessionState {
  value = $state<Schemas['Session']>();
  problem = $state<Error>();

  async load() {
    try {
      const s = await askOrKept('session', api.GET('/api/session'));
      useToken(s.token);
      this.value = s;
      this.problem = undefined;
    } catch (e) {
      this.problem = e as Error;
    }
  }

  caution(id: Schemas['CautionId']): Schemas['Caution'] | undefined {
    return this.value?.cautions.find((c) => c.id === id);
  }
}

export const session = new SessionState();
