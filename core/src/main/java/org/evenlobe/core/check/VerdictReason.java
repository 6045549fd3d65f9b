package org.evenlobe.core.check;

import org.evenlobe.core.rule.Reason;

/**
 * One reason for a verdict.
 *
 * @param verdict the verdict that it alone leads to
 * @param reason the rule with the sign and its grade
 * @param toDo what to do about it
 */
public record VerdictReason(Verdict verdict, Reason reason, String toDo) {}
