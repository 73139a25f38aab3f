{{-- What is done alone: the week at home, and how each basic stands. --}}
<section aria-labelledby="own-home"><h2 id="own-home">{{ __('home.short') }}</h2>
    <p class="form-text">{{ $week->title() }}</p>
    @if ($week->isEmpty())<p>{{ __('home.none') }}</p>@else
        <ul>@foreach ($week->solos as $solo)<li>{{ $solo->solo->name }}
            <small>{{ __('solos.kinds.'.$solo->solo->kind->value) }}</small></li>@endforeach
            @foreach ($week->items as $item)<li>{{ $item->answer->title }}
            <small>{{ $item->attack->title }}</small></li>@endforeach</ul>
        <x-button kind="rust" :href="route('home.show', $student)">{{ __('students.own.practise') }}</x-button>
    @endif
</section>
@if ($solos->rows !== [])
<section aria-labelledby="own-solos"><h2 id="own-solos">{{ __('solos.title') }}</h2>
    <ul class="ladder-rows">
        @foreach ($solos->rows as $row)<li><span>{{ $row['solo']->name }}</span> <small>{{ $row['text'] }}</small></li>@endforeach
    </ul>
</section>
@endif
