<?php

use App\Archive\Csv;

it('writes rows as RFC 4180 has them, and reads them back', function (array $row, string $line) {
    expect(Csv::write([['head'], $row]))->toBe("head\r\n{$line}\r\n")->and(Csv::read(Csv::write([['head'], $row])))->toBe([['head'], array_map(strval(...), $row)]);
})->with([
    'plain' => [['C4', 3, 'done'], 'C4,3,done'],
    'a length has a space, and needs no quotes' => [['1 1/2 in'], '1 1/2 in'],
    'a comma (RFC 4180, 2.6)' => [['rim, lower', 'x'], '"rim, lower",x'],
    'quotes are doubled (2.7)' => [['a "hair" lower'], '"a ""hair"" lower"'],
    'a backslash is only a backslash' => [['a\\"b', 'c'], '"a\\""b",c'],
    'empty fields' => [['', '', 'x'], ',,x'],
    'a formula is a text (OWASP, "CSV Injection")' => [['=1+1', '+x', '@SUM(A1)', '-cmd'], "'=1+1,'+x,'@SUM(A1),'-cmd"],
    'a formula of full width, or behind a tab' => [['＝1', "\t=1"], "'＝1,'\t=1"],
    'what looks neutralised already' => [["'=1", "''@x", "'tis"], "''=1,'''@x,'tis"],
    'a number less than nothing stays one' => [['-1.5', '-3'], '-1.5,-3'],
    'other scripts' => [['крыло ½ — “rim”'], 'крыло ½ — “rim”'],
]);
