/** What all calls share: problem details, the interface and its headers, the API document, marks on wire records. */
package synopta.server.web;
