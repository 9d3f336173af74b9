<?php

declare(strict_types=1);

namespace App\Organisations;

/** By what it is known whose a request, a piece of work or a command is; the database tells, and nothing else of what it finds. */
enum Door: string
{
    /** its number */
    case Organisation = 'organisation';
    /** nothing: where there is but one */
    case Only = 'only';
    /** a person's number */
    case Person = 'person';
    /** a sign-in name */
    case Login = 'login';
    /** a link for choosing a password, in short */
    case Link = 'link';
    /** a family's link to its booking, in short */
    case Booking = 'booking';
    /** a class's id, which only its link tells */
    case ClassLink = 'class';
    /** a drill's id, which only its address tells */
    case Drill = 'drill';
}
