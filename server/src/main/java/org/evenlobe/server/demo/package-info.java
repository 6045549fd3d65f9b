/** The demo household. */
package org.evenlobe.server.demo;
