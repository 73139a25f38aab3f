<x-layout title="Move to another rank">
    <h1>Teach “{{ $answer->title }}” at another rank</h1>
    <p class="lead-line">It is introduced at {{ $answer->rank->name }} now. Nothing is saved until you say so.</p>
    <form method="get" action="{{ route('answers.rank', $answer) }}" class="search-row">
        <div><label class="form-label" for="to">Introduce it at</label><select class="form-select" id="to" name="to">@foreach ($ranks as $rank)<option value="{{ $rank->code }}" @selected($rank->is($to))>{{ $rank->name }}{{ $rank->is($answer->rank) ? ' (as now)' : '' }}</option>@endforeach</select></div>
        <button class="btn btn-primary">See what follows</button>
    </form>
    @if ($outlook)
        @if ($losesShort)<p class="flash flash-wrong">Its short form would end: it would not come earlier than the whole any more.</p>@endif
        <form method="post" action="{{ route('answers.place', $answer) }}" class="my-3">@csrf @method('put')
            <input type="hidden" name="to" value="{{ $to->code }}"><input type="hidden" name="version" value="{{ $answer->version }}">
            <button class="btn btn-rust">Teach it at {{ $to->name }}</button> <a class="btn btn-plain" href="{{ route('wall') }}">Leave it at {{ $answer->rank->name }}</a>
        </form>
        <h2>The wall, as it would be</h2>
        <div class="legend">@foreach (App\Wall\Change::cases() as $change)@if ($picture->changes()[$change->value] ?? 0)<span><strong class="sign">{{ $change->sign() }}</strong> {{ $change->word() }}: {{ $picture->changes()[$change->value] }}</span>@endif @endforeach @if ($picture->changes() === [])<span>No stone changes.</span>@endif</div>
        <div class="scroll-x wall-preview">@include('wall.picture')</div>
        @include('wall.outlook')
    @else
        <p>Choose the rank it should come with.</p>
    @endif
</x-layout>
