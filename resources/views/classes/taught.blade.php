<h2 id="taught">{{ __('classes.teach') }}</h2>
<p class="lead-line">{{ __('classes.teach-lead') }} {{ $page->untilWhen() }}</p>
@if ($page->season->waits)<p class="form-text" role="status">{{ __('classes.season-waits') }}</p>@endif
@foreach ($page->groups() as $group)
    <section class="slab mb-2">
        <h3 class="mt-0">{{ $group['ranks'] }}</h3>
        <p class="form-text">{{ $group['names'] }}</p>
        @if ($group['taught'] === [])
            <p>{{ __('classes.teach-none') }}</p>
        @else
            <ol>
                @foreach ($group['taught'] as $taught)
                    <li class="mb-1"><a href="{{ $taught['url'] }}">{{ $taught['title'] }}</a> <small>{{ $taught['why'] }}</small>
                        @can('update', $class)
                            <form method="post" action="{{ route('classes.taught', $class) }}" class="d-inline no-print">
                                @csrf
                                @method('put')
                                <x-hidden :values="['version' => $class->version, 'answer' => $taught['code']]"/>
                                <x-button size="sm" name="change" value="skip"
                                    :aria-label="__('classes.swap.skip').': '.$taught['title']">{{ __('classes.swap.skip') }}</x-button>
                            </form>
                        @endcan</li>
                @endforeach
            </ol>
        @endif
    </section>
@endforeach
@can('update', $class)
<form method="post" action="{{ route('classes.taught', $class) }}" class="search-row no-print">
    @csrf
    @method('put')
    <x-hidden :values="['version' => $class->version]"/>
    <x-field name="answer" :label="__('classes.swap.instead')"><x-select name="answer" :options="$page->others()"/></x-field>
    <x-button name="change" value="teach">{{ __('classes.swap.teach') }}</x-button>
</form>
@foreach (['teach', 'skip'] as $what)
    @foreach ($page->wished($what) as $code => $title)
        <form method="post" action="{{ route('classes.taught', $class) }}" class="d-inline no-print">
            @csrf
            @method('put')
            <x-hidden :values="['version' => $class->version, 'answer' => $code]"/>
            <x-button size="sm" name="change" value="back">{{ __('classes.swap.back.'.$what, ['title' => $title]) }}</x-button>
        </form>
    @endforeach
@endforeach
@endcan
@if ($page->basics() !== [])
    <h2>{{ __('classes.basics') }}</h2>
    <p class="lead-line">{{ __('classes.basics-lead') }}</p>
    <ul>
        @foreach ($page->basicRows() as $row)
            <li><strong>@if ($row['url'])<a href="{{ $row['url'] }}">{{ $row['name'] }}</a>@else{{ $row['name'] }}@endif</strong>
                @if ($row['due'])<span class="tag">{{ $row['due'] }}</span>@endif
                @if ($row['grows']) <span class="tag">{{ __('classes.grows') }}</span>@endif
                <small>{{ $row['mistakes'] }}</small></li>
        @endforeach
    </ul>
@endif
@if ($page->groups() !== [])
    <h2>{{ __('classes.drill.title') }}</h2>
    <p class="lead-line">{{ __('classes.drill.lead') }}</p>
    <ul>
        @foreach ($page->groups() as $group)
            <li><strong>{{ $group['ranks'] }}</strong> {{ __('classes.drill.at', ['rungs' => $group['rungs']]) }}:
                {{ __('classes.drill.tonight') }}
                @foreach ($group['drilled'] as $answer) · <a href="{{ $answer['url'] }}">{{ $answer['title'] }}</a> @endforeach
                @if ($group['more'] > 0) · {{ trans_choice('classes.drill.more', $group['more']) }}@endif</li>
        @endforeach
    </ul>
@endif
