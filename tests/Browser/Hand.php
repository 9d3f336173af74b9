<?php

declare(strict_types=1);

namespace Tests\Browser;

/** With what a page is used. */
enum Hand
{
    case Mouse;
    case Finger;
    case Keys;
    case NoScripts;
}
