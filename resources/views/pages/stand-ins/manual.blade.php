<x-layout title="A manual’s page" main="page">
    <x-slot:head><x-head title="Stand-ins" subtitle="A made-up seat’s manual, page 12" /></x-slot:head>
    <article class="paper manual">
        <header>
            <h1>Tolwyn TW-5 Harbour</h1>
            <p>Owner’s manual, page 12. A made-up seat: no real one has these rules.</p>
        </header>
        <h2>Your seat at a glance</h2>
        <p>Model number TW-5. It meets FMVSS 213. Use it for 8 years from the day it was made. It weighs 21 lb and is 445 mm wide; 410 mm of
            its base rest on the cushion. It has a lock-off; the retractor may be locked as well. A noodle or rolled towel may be used. Belt
            and lower anchors are never used together, nor the bars of two neighbouring places. Not with inflatable belts.</p>
        <h2>Rear-facing</h2>
        <p>From 5 lb to 40 lb, on the lower anchors to 35 lb; up to 40 in tall, with at least 1 in of shell above the head. Recline setting
            1 or 2. Do not use the tether.</p>
        <h2>Forward-facing</h2>
        <p>From 25 lb and 24 months to 65 lb; up to 49 in tall. The tether is always used. Recline setting 3. On the lower anchors to a
            child of 35 lb.</p>
        <h2>Harness</h2>
        <p>Straps leave the seat at 8 in, 10 in, 12 in, 14 in or 16 in.</p>
        <footer>
            <p>Stand-in for a printed manual. <a href="{{ route('seats.create') }}">Enter this model in the catalogue</a></p>
        </footer>
    </article>
</x-layout>
