(() => {
  const field = document.getElementById("search");
  const found = document.getElementById("found");
  const up = document.body.dataset.up;
  const plain = (text) => text.toLowerCase().normalize("NFD").replace(/[\u0300-\u036f]/g, "");
  const texts = PAGES.map(([, title, heading, said]) => plain(title + " " + heading + " " + said));
  const show = () => {
    const words = plain(field.value).split(/\s+/).filter((word) => word.length > 1);
    found.replaceChildren();
    found.hidden = words.length === 0;
    if (words.length === 0) return;
    const hits = PAGES.map((page, at) => ({ page, at }))
      .filter(({ at }) => words.every((word) => texts[at].includes(word)))
      .sort((a, b) => rank(b, words) - rank(a, words))
      .slice(0, 12);
    for (const { page: [place, title, heading, said] } of hits) {
      const line = document.createElement("p");
      const link = document.createElement("a");
      link.href = up + place;
      link.textContent = title === heading ? title : title + ": " + heading;
      const at = Math.max(0, plain(said).indexOf(words[0]) - 40);
      line.append(link, " " + said.slice(at, at + 140));
      found.append(line);
    }
    if (hits.length === 0) found.textContent = "Nothing.";
  };
  const rank = ({ page: [, title, heading] }, words) =>
    words.filter((word) => plain(heading).includes(word)).length * 2 + words.filter((word) => plain(title).includes(word)).length;
  field.addEventListener("input", show);
  document.addEventListener("keydown", (key) => {
    if (key.key === "/" && document.activeElement !== field) {
      key.preventDefault();
      field.focus();
      field.select();
    } else if (key.key === "Escape") {
      field.value = "";
      show();
      field.blur();
    }
  });
})();
