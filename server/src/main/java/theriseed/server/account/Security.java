package theriseed.server.account;

import jakarta.servlet.DispatcherType;
import java.time.Clock;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import theriseed.server.base.ContentPolicy;

/** The door: sessions, CSRF, headers, and which paths are open before anyone has signed in. */
@Configuration(proxyBeanMethods = false)
@EnableMethodSecurity
class Security {
    @Bean
    SecurityFilterChain door(
            HttpSecurity http, CsrfTokenRepository tokens, @Value("${theriseed.https-for-good}") boolean httpsForGood)
            throws Exception {
        return http.csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .authorizeHttpRequests(paths -> paths.dispatcherTypeMatchers(DispatcherType.ASYNC)
                        // What goes on asynchronously was let in when it began.
                        .permitAll()
                        .requestMatchers(
                                HttpMethod.GET,
                                "/api/session",
                                "/api/network",
                                "/api/network/authority.crt",
                                "/api/health/**",
                                "/api/first-run/sample")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/session", "/api/session/entry/**", "/api/first-run/**")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .exceptionHandling(
                        refused -> refused.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .requestCache(cache -> cache.disable())
                .headers(headers -> write(headers, httpsForGood))
                .build();
    }

    /** Screens and feeds are the same for all: they come without cookies, so that whoever keeps copies may keep them. */
    @Bean
    @Order(1)
    SecurityFilterChain withoutCookies(HttpSecurity http, @Value("${theriseed.https-for-good}") boolean httpsForGood)
            throws Exception {
        return http.securityMatcher(request -> !request.getRequestURI().startsWith("/api/"))
                .csrf(csrf -> csrf.disable())
                .authorizeHttpRequests(paths -> paths.anyRequest().permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .headers(headers -> write(headers, httpsForGood))
                .build();
    }

    private static void write(HeadersConfigurer<HttpSecurity> headers, boolean httpsForGood) {
        headers.contentSecurityPolicy(policy -> policy.policyDirectives(ContentPolicy.connectingTo(List.of())))
                .httpStrictTransportSecurity(hsts -> hsts.requestMatcher(request -> httpsForGood && request.isSecure())
                        // What else stands in the domain is nothing of the farm's.
                        .includeSubDomains(false))
                .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                .permissionsPolicyHeader(
                        policy -> policy.policy("camera=(self), geolocation=(self), microphone=(), payment=()"));
    }

    @Bean
    CsrfTokenRepository tokens() {
        return CookieCsrfTokenRepository.withHttpOnlyFalse();
    }

    /** The clock of the machine, for what has nothing to do with the farm's days. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    SecurityContextRepository signedIn() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords(@Value("${theriseed.password-strength}") int strength) {
        return new BCryptPasswordEncoder(strength);
    }

    @Bean
    AuthenticationManager authentication(UserDetailsService accounts, PasswordEncoder passwords) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accounts);
        provider.setPasswordEncoder(passwords);
        return new ProviderManager(provider);
    }
}
