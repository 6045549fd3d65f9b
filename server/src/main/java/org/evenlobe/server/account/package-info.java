/** People, households, their settings and members. */
package org.evenlobe.server.account;
