/** The rules, for their readers. */
package org.evenlobe.server.rule;
