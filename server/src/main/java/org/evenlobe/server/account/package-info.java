/** People, households and the gate before them. */
package org.evenlobe.server.account;
