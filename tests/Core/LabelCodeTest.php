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

    public function testAPlainCodeIsOnlyAText(): void
    {
        self::assertSame([[], 'A100200'], [LabelCode::read(" A100200\n")->facts, LabelCode::read(" A100200\n")->text]);
    }

    public function testWhatIsNoLabel(): void
    {
        foreach (['', str_repeat('x', 121), "two\nlines", '{"format": "mint-buckle/case", "version": 1}', '{"format": "mint-buckle/label"', '{"format": "mint-buckle/label", "version": 1, "made_on": "2023-13"}', '{"format": "mint-buckle/label", "version": 1}'] as $code) {
            self::assertNotNull(LabelCode::read($code)->problem, $code);
            self::assertSame([], LabelCode::read($code)->facts);
        }
    }
}
