/** Reminders: how each person wants them, the jobs that send them, and the mail service. */
package org.evenlobe.server.remind;
