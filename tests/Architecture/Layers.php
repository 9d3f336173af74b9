<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may know whom. Checked by PHPStan through phpat. */
final class Layers
{
    public function testCoreIsPlainPhp(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('MintBuckle\Core'))
            ->shouldNot()->dependOn()->classes(Selector::inNamespace('MintBuckle\Present'), Selector::inNamespace('App'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Carbon'), Selector::inNamespace('Symfony'));
    }

    public function testPresentKnowsTheCoreAlone(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('MintBuckle\Present'))
            ->shouldNot()->dependOn()->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Carbon'), Selector::inNamespace('Symfony'));
    }

    public function testRulesNeverCallRules(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('MintBuckle\Core\Rules'))
            ->excluding(Selector::classname('/.*Facts$/', true))
            ->shouldNot()->dependOn()->classes(Selector::classname('/MintBuckle\\\\Core\\\\Rules\\\\[A-Za-z]+\\\\[A-Za-z]+$/', true));
    }

    public function testModelsKnowNothingOfHttp(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('App\Models'))
            ->shouldNot()->dependOn()->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('Illuminate\Http'));
    }

    public function testPagesAskNoDatabase(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('App\Pages'))
            ->shouldNot()->dependOn()->classes(Selector::inNamespace('Illuminate\Database\Query'), Selector::classname('Illuminate\Support\Facades\DB'));
    }
}
