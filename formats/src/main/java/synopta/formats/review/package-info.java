/** Cases as printed pages and as tables. */
package synopta.formats.review;
