package org.evenlobe.server.account;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/**
 * A new person, with a household of their own or by the invitation to another.
 *
 * @param name what they are called
 * @param email what they sign in with
 * @param password 12 to 200 characters, none of the commonest and no part of the address
 * @param household what their own household is called; left out where an invitation leads to one
 * @param zone the time zone that its days are counted in
 * @param region where they live, as ISO 3166 has it: its units and order of dates are those that
 *     their household begins with; metric where left out
 * @param invitation what the link of an invitation ends with
 */
record RegistrationRequest(
    @NotBlank @Size(max = 80) String name,
    @NotBlank @Email @Size(max = 200) String email,
    @NotNull @Size(min = PasswordRules.SHORTEST, max = PasswordRules.LONGEST) String password,
    @Nullable @Size(max = 80) String household,
    @NotNull ZoneId zone,
    @Nullable @Pattern(regexp = "[A-Z]{2}", message = "must be a region of two letters")
        String region,
    @Nullable @Size(max = 200) String invitation) {}
