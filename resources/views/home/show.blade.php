<x-layout :title="__('home.title', ['name' => $student->name])">
<x-heading :title="__('home.title', ['name' => $student->name])">
    <x-button size="sm" :href="route('home.pdf', $student)">{{ __('home.pdf') }}</x-button>
    <x-button size="sm" :href="route('students.own', $student)">{{ __('words.back') }}</x-button>
</x-heading>
<p class="lead-line" data-keep="{{ App\View\Worker::address() }}">{{ $week->title() }}. {{ __('home.lead') }}</p>
@if ($week->isEmpty())
    <x-empty :text="__('home.none')"/>
@endif
@foreach ($week->items as $item)
    <section class="slab mb-3 home-item" x-data="counting" aria-labelledby="home-{{ $loop->iteration }}">
        <h2 class="mt-0" id="home-{{ $loop->iteration }}">{{ $item->answer->title }}
            <small>{{ sided($item->attack->title, $item->side) }}</small></h2>
        <p class="form-text">{{ $week->why($item) }}</p>
        <ol class="home-beats">
            @foreach ($week->beats($item) as $beat)<li data-seconds="{{ $beat['seconds'] }}">{{ $beat['text'] }}
                <em>{{ $beat['note'] }}</em></li>@endforeach
        </ol>
        @include('home.footage', ['items' => $week->footage($item)])
        @if ($week->targets($item) !== '')<p><strong>{{ __('home.targets') }}</strong> {{ $week->targets($item) }}</p>@endif
        @if ($week->mistakes($item) !== [])<p><strong>{{ __('home.mistakes') }}</strong> {{
            implode(' · ', $week->mistakes($item)) }}</p>@endif
        <div class="home-acts">
            <x-field name="pace" :id="'pace-'.$loop->iteration" :label="__('home.pace')"><select class="form-select"
                id="pace-{{ $loop->iteration }}" x-ref="pace">
                @foreach ($week->rungs as $rung)<option value="{{ $rung->pace }}">{{ $rung->name }}</option>@endforeach
            </select></x-field>
            <button type="button" class="btn btn-plain" x-on:click="toggle" x-text="word"
                data-count="{{ __('home.count') }}" data-stop="{{ __('home.stop') }}">{{ __('home.count') }}</button>
            @include('home.did', ['values' => ['answer' => $item->answer->id], 'times' => $week->done($item)])
        </div>
    </section>
@endforeach
@foreach ($week->solos as $page)
    <section class="slab mb-3 home-item" aria-labelledby="solo-{{ $loop->iteration }}">
        <h2 class="mt-0" id="solo-{{ $loop->iteration }}">{{ $page->solo->name }}
            <small>{{ __('solos.kinds.'.$page->solo->kind->value) }}</small></h2>
        @include('solos.how', ['solo' => $page->solo])
        @if ($page->feet)<div class="solo-picture">@include('solos.feet', ['picture' => $page->feet])</div>@endif
        @if ($page->path)<div class="solo-picture">@include('solos.path', ['picture' => $page->path])</div>@endif
        @include('home.footage', ['items' => $week->footage($page)])
        <div class="home-acts">
            @include('home.did', ['values' => ['solo' => $page->solo->id], 'times' => $week->practised($page)])
        </div>
    </section>
@endforeach
@if (! $week->isEmpty())<p class="form-text">{{ __('home.counting') }}</p>@endif
</x-layout>
