/** What is told to people: the catalogue of sentences, and the units and locale they are told in. */
@ApplicationModule(type = ApplicationModule.Type.OPEN)
package theriseed.server.words;

import org.springframework.modulith.ApplicationModule;
