<defs>
    <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line class="hatch-line" x1="0"
        y1="0" x2="0" y2="7"/></pattern>
    <pattern id="hatch-dark" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="hatch-ground"
        width="6" height="6"/><line class="hatch-line" x1="0" y1="0" x2="0" y2="6"/></pattern>
    <pattern id="moss" width="6" height="6" patternUnits="userSpaceOnUse"><rect class="moss-ground" width="6" height="6"/><circle
        class="moss-dot" cx="2" cy="2" r="1.1"/><circle class="moss-dot" cx="5" cy="5" r="1.1"/></pattern>
</defs>
