<x-layout title="Attacks">
    <div class="heading-row">
        <h1>Attacks</h1>
        <div class="actions">@can('create', App\Models\Attack::class)<a class="btn btn-rust btn-sm" data-key="n" href="{{ route('attacks.create') }}">Catalogue an attack</a>@endcan</div>
    </div>
    <x-unreadable :rows="$unreadable"/>
    @if ($ranks->isEmpty())
        <x-no-ranks/>
    @elseif ($total === 0)
        <x-no-attacks/>
    @else
        <form class="search-row" method="get" action="{{ route('attacks.index') }}" role="search">
            <div class="wide"><label class="form-label" for="find">Find in titles, notes and kinds</label><input class="form-control" id="find" name="find" type="search" data-key="/" value="{{ $filters['find'] ?? '' }}"></div>
            <div><label class="form-label" for="family">Family</label>
                <select class="form-select" id="family" name="family"><option value="">any</option>
                    @foreach (StoneDrill\Core\Attack\Family::cases() as $family)<option value="{{ $family->value }}" @selected(($filters['family'] ?? '') === $family->value)>{{ $family->plural() }}</option>@endforeach
                </select></div>
            <div><label class="form-label" for="rank">Needed by</label>
                <select class="form-select" id="rank" name="rank"><option value="">any</option>
                    @foreach ($ranks as $rank)<option value="{{ $rank->code }}" @selected(($filters['rank'] ?? '') === $rank->code)>{{ $rank->name }}</option>@endforeach
                </select></div>
            <div><label class="form-label" for="side">Sides answered</label>
                <select class="form-select" id="side" name="side">
                    @foreach (['' => 'any', 'both' => 'all', 'one' => 'only one', 'none' => 'none'] as $value => $word)<option value="{{ $value }}" @selected(($filters['side'] ?? '') === $value)>{{ $word }}</option>@endforeach
                </select></div>
            <button class="btn btn-primary">Find</button>
        </form>
        @if ($groups->isEmpty())
            <div class="first-thing">No attack fits. <a href="{{ route('attacks.index') }}">Show all {{ $total }}</a></div>
        @endif
        @foreach ($groups as $family => $attacks)
            <h2>{{ StoneDrill\Core\Attack\Family::from($family)->plural() }}</h2>
            <table class="table table-sm">
                <thead class="visually-hidden"><tr><th>Attack</th><th>Kind</th><th>From</th><th>Needed by</th><th>Answered</th></tr></thead>
                <tbody>
                @foreach ($attacks as $attack)
                    <tr>
                        <th scope="row" class="w-40"><a href="{{ route('attacks.show', $attack) }}">{{ $attack->title }}</a> @if ($attack->critical)<span class="tag tag-critical">critical</span>@endif</th>
                        <td>{{ $kinds->get($attack->kind)->name }}</td>
                        <td>{{ $attack->hand }}, {{ $attack->bearing }} o’clock, {{ $attack->phase }}</td>
                        <td>{{ $attack->neededBy->name ?? 'no rank' }}</td>
                        <td>@foreach ($cells[$attack->code] as $cell)<span @class(['tag', 'tag-hole' => $cell->laidAt === null])>{{ $cells[$attack->code]->count() === 1 ? '' : ($cell->side->value === 'written' ? 'written: ' : 'mirrored: ') }}{{ $cell->laidAt === null ? 'nothing' : $ranks->firstWhere('code', $cell->laidAt)->name }}</span> @endforeach</td>
                    </tr>
                @endforeach
                </tbody>
            </table>
        @endforeach
    @endif
</x-layout>
