/** What is told to, and by, whoever takes a dog for a while. */
package org.evenlobe.server.handover;
