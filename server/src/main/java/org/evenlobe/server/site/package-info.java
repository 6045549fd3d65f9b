/** The single-page app's files and the OpenAPI document. */
package org.evenlobe.server.site;
