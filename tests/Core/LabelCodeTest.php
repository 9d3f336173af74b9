<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Label\LabelCode;
use PHPUnit\Framework\TestCase;

final class LabelCodeTest extends TestCase
{
    public function testALabelIsReadAsItIsWritten(): void
    {
        $facts = ['maker' => 'Ottermoor', 'model' => 'OM-220', 'serial' => 'A100200', 'made_on' => '2023-03'];
        self::assertSame([$facts, null, null], [LabelCode::read(LabelCode::write($facts + ['colour' => 'red']))->facts, LabelCode::read('A1')->problem, LabelCode::read(LabelCode::write($facts))->problem]);
    }

    /** The published form, to the letter: other programs write it too. */
    public function testTheForm(): void
    {
        self::assertSame('{"format":"mint-buckle/label","version":1,"maker":"Ottermoor"}', LabelCode::write(['maker' => 'Ottermoor']));
        self::assertSame(['maker' => 'Ottermoor'], LabelCode::read('{"format":"mint-buckle/label","version":1,"maker":"Ottermoor"}')->facts);
    }

    public function testAPlainCodeIsOnlyAText(): void
    {
        self::assertSame(str_repeat('x', 120), LabelCode::read(str_repeat('x', 120))->text);
        self::assertSame([[], 'A100200'], [LabelCode::read(" A100200\n")->facts, LabelCode::read(" A100200\n")->text]);
    }

    public function testWhatIsNoLabel(): void
    {
        foreach (['', str_repeat('x', 121), "two\nlines", '{"format": "mint-buckle/case", "version": 1, "maker": "Ottermoor"}', '{"format": "mint-buckle/label", "version": 2, "maker": "Ottermoor"}', '{"version": 1, "maker": "Ottermoor"}', '{"format": "mint-buckle/label"', '{"format": "mint-buckle/label", "version": 1, "made_on": "2023-13"}', '{"format": "mint-buckle/label", "version": 1}'] as $code) {
            self::assertNotNull(LabelCode::read($code)->problem, $code);
            self::assertSame([], LabelCode::read($code)->facts);
        }
    }
}
