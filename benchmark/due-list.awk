# 100,000 made-up wheel ends as a spreadsheet (flat ODF): when was it done, what had it run, what has it run since, how much a
# day; and the due list by 12 months or 12,000 km. For scripts/measure spreadsheet. With -v formulas=0 only the numbers.
function number(value) {
    printf "<table:table-cell office:value-type=\"float\" office:value=\"%s\"/>", value
}
function formula(text) {
    if (formulas) printf "<table:table-cell table:formula=\"of:=%s\"/>", text
}
BEGIN {
    srand(42)
    print "<?xml version=\"1.0\" encoding=\"UTF-8\"?><office:document xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\"" \
        " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\" xmlns:of=\"urn:oasis:names:tc:opendocument:xmlns:of:1.2\"" \
        " office:version=\"1.3\" office:mimetype=\"application/vnd.oasis.opendocument.spreadsheet\"><office:body><office:spreadsheet>" \
        "<table:table table:name=\"due\">"
    rows = 100000
    # the rule, and the first page of the due list: the day, and which wheel end
    printf "<table:table-row>"
    number(12)
    number(12000)
    number(46352)
    print "</table:table-row>"
    for (i = 1; i <= 24; i++) {
        printf "<table:table-row>"
        formula("SMALL([.F$26:.F$" rows + 25 "];" i ")")
        formula("MATCH([.A" i + 1 "];[.F$26:.F$" rows + 25 "];0)")
        print "</table:table-row>"
    }
    for (i = 1; i <= rows; i++) {
        done = 46352 - int(rand() * 730)
        run = int(rand() * 60000)
        row = i + 25
        printf "<table:table-row>"
        number(i)
        number(done)
        number(run)
        number(run + int(rand() * 9000))
        number(3 + int(rand() * 27))
        formula("MIN(EDATE([.B" row "];[.$A$1]);[.$C$1]+MAX(0;([.C" row "]+[.$B$1]-[.D" row "])/[.E" row "]))")
        print "</table:table-row>"
    }
    print "</table:table></office:spreadsheet></office:body></office:document>"
}
