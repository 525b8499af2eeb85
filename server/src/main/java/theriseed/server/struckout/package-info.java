/** What was made by mistake and used by nothing: struck out with a word, kept beside, and put back. */
package theriseed.server.struckout;
