<div class="last-rep" x-show="hasLast">
    <p><strong x-text="lastSaid"></strong> <button type="button" class="small"
        x-on:click="undo">{{ __('words.undo') }} <kbd>u</kbd></button></p>
    <div class="chips">
        <template x-for="place in touches"><button type="button" data-name="touched" x-bind:data-value="place.id"
            x-bind:aria-pressed="chosen('touched', place.id)" x-on:click="chip" x-text="place.text"></button></template>
        <template x-for="mistake in mistakes"><button type="button" data-name="mistake" x-bind:data-value="mistake"
            x-bind:aria-pressed="chosen('mistake', mistake)" x-on:click="chip" x-text="mistake"></button></template>
        <template x-for="answer in answers"><button type="button" data-name="answer" x-bind:data-value="answer.id"
            x-bind:aria-pressed="chosen('answer', answer.id)" x-on:click="chip" x-text="answer.title"></button></template>
    </div>
    <template x-for="one in madeMistakes" x-bind:key="one.text">
        <div class="made-mistake"><img x-bind:src="one.right" alt="{{ __('answers.right-way') }}"> <img x-bind:src="one.wrong"
            x-bind:alt="one.text"><p><strong x-text="one.text"></strong> <span x-text="one.says"></span></p></div>
    </template>
</div>
