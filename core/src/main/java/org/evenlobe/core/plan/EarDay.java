package org.evenlobe.core.plan;

import java.util.UUID;

/**
 * One cleaning in an ear's history, with the fact that it comes from.
 *
 * @param fact the cleaning's id
 * @param cleaning what it was
 */
record EarDay(UUID fact, DatedCleaning cleaning) {}
