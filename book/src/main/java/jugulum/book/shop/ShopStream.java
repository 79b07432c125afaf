package jugulum.book.shop;

import java.util.List;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Standing;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.StreamRef;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.shop.ShopFold;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** The shop as a stream of a book; there is one. */
public final class ShopStream {
  /** The number of what its edits make; raised with every change of it. */
  private static final int RULE = 1;

  /** The kind of stream the shop is. */
  public static final StreamKind<Shop, ShopEdit> KIND =
      new StreamKind<>(
          "shop",
          new ShopFold(),
          RULE,
          new JsonCodec<>(ShopEdit.class, List.of(ShopStream::fromWholeShop)),
          new JsonCodec<>(Shop.class, List.of()),
          List.of());

  /** The shop. */
  public static final StreamRef<Shop, ShopEdit> SHOP = KIND.ref("shop");

  private ShopStream() {}

  /** The first form of a change was the whole shop after it. */
  private static JsonNode fromWholeShop(JsonNode shop) {
    return JsonNodeFactory.instance.objectNode().put("edit", "whole").set("shop", shop);
  }

  /** The shop as it is; the usual one before anything was set, or where it cannot be read. */
  public static Shop of(Book book) {
    return book.whole(SHOP).flatMap(Standing::now).orElse(Shop.USUAL);
  }
}
