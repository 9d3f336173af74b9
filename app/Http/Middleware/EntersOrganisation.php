<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Accounts\GiveLink;
use App\Accounts\SecondFactor;
use App\Bookings\FamilyLink;
use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;
use App\Visits\SheetLink;
use Closure;
use Illuminate\Auth\Recaller;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whose a request is: that of the link it came by, where an address is open to whoever has one; else the signed-in person's; else, on a
 * device that several share, that of whoever was there before. Before this nothing of any organisation can be seen.
 */
final readonly class EntersOrganisation
{
    private const KEPT = 'organisation';

    public function __construct(private CurrentOrganisation $organisation) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->session();
        if (! $this->byLink($request->route()) && ! $this->byPerson($request, $session)) {
            $kept = $session->get(self::KEPT);
            is_int($kept) ? $this->organisation->enter(Door::Organisation, $kept) : $this->organisation->leave();
        }

        return $next($request);
    }

    private function byLink(?Route $route): bool
    {
        if ($route === null || in_array('auth', $route->middleware(), true)) {
            return false;
        }
        $sheet = $route->parameter('sheet');
        $opens = is_string($sheet) ? resolve(SheetLink::class)->read($sheet) : null;
        if ($opens !== null) {
            return $this->organisation->enter(Door::Organisation, $opens['organisation']);
        }
        foreach (['token' => Door::Link, 'family' => Door::Booking, 'set' => Door::ClassLink, 'attempt' => Door::Drill] as $name => $door) {
            $key = $route->parameter($name);
            $secret = match ($door) {
                Door::Link => GiveLink::inShort(...),
                Door::Booking => FamilyLink::inShort(...),
                default => strval(...),
            };
            if (is_string($key) && $this->organisation->enter($door, $secret($key))) {
                return true;
            }
        }

        return false;
    }

    private function byPerson(Request $request, Session $session): bool
    {
        $id = self::person($request, $session);
        if ($id === null || ! $this->organisation->enter(Door::Person, $id)) {
            return false;
        }
        $session->put(self::KEPT, $this->organisation->id());

        return true;
    }

    private static function person(Request $request, Session $session): int|string|null
    {
        $guard = Auth::guard('web');
        $remembered = new Recaller((string) $request->cookies->get($guard->getRecallerName()));
        $id = $guard->hasUser() ? $guard->id() : $session->get($guard->getName())
            ?? ($remembered->valid() ? $remembered->id() : SecondFactor::awaits($session));

        return is_int($id) || (is_string($id) && preg_match('/\A\d{1,18}\z/', $id) === 1) ? $id : null;
    }
}
