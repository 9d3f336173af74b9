<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Organisations\Door;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Console\Tester\CommandTester;

/** The PIN with which a person signs on somebody else's device. */
final class PinCommandTest extends FeatureTestCase
{
    public function testSetsIt(): void
    {
        self::assertSame([0, true], [$this->typed('wren', '4711')[0], Hash::check('4711', (string) User::query()->where('login', 'wren')->sole()->pin)]);
    }

    public function testFourToEightDigitsOfSomebodyWhoIsThere(): void
    {
        $before = User::query()->where('login', 'wren')->sole()->pin;
        foreach (['12', '123456789', 'abcd', ''] as $pin) {
            [$code, $said] = $this->typed('wren', $pin);
            self::assertSame(1, $code);
            self::assertStringContainsString('four to eight digits', $said);
        }
        self::assertStringContainsString('Nobody signs in by that name', $this->typed('nobody', '4711')[1]);
        $this->within(Door::Only);
        self::assertSame($before, User::query()->where('login', 'wren')->sole()->pin);
    }

    /** @return array{int, string} exit code and what was said */
    private function typed(string $login, string $pin): array
    {
        $tester = new CommandTester(app(Kernel::class)->all()['buckle:pin'] ?? self::fail('no such command'));
        $tester->setInputs([$pin]);

        return [$tester->execute(['login' => $login]), $tester->getDisplay()];
    }
}
