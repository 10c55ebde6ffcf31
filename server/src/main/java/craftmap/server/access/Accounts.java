package craftmap.server.access;

/** Whether people sign in here. */
public interface Accounts {
  /** Whether anybody has an account: from then on nobody works here without one. */
  boolean any();
}
